{{-- Needs no session and no database: it is shown when they may be what failed. --}}
<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $say("page.error.{$what}") }} · Aequus</title>@vite(['resources/css/app.css'])</head>
<body><main id="work" class="yard"><h1>{{ $say("page.error.{$what}") }}</h1><p class="notice notice-refused">{{ $say("page.error.{$what}_why") }}</p>
    <p><a class="button" href="/">{{ $say('page.error.to_the_jobs') }}</a></p></main></body>
</html>
