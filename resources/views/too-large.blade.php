<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport"
    content="width=device-width, initial-scale=1"><title>{{ $say('page.too_large.too_large_aequus') }}</title>@vite(['resources/css/app.css'])</head>
<body><main id="work" class="yard"><h1>{{ $say('page.too_large.not_taken') }}</h1><p class="notice notice-refused">{{ $says }}</p>
    <p><a class="button" href="{{ $back }}">{{ $say('page.too_large.back_to_where_you_were') }}</a></p></main></body>
</html>
