<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>Too large ·
    Aequus</title>@vite(['resources/css/app.css'])</head>
<body><main id="work" class="yard"><h1>Not taken</h1><p class="notice notice-refused">{{ $says }}</p>
    <p><a class="button" href="{{ $back }}">Back to where you were</a></p></main></body>
</html>
