<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="csrf-token" content="{{ csrf_token() }}">
<title>@yield('title') · Rapid Reel</title>
<link rel="icon" href="{{ asset('icon.svg') }}">
<script src="{{ Vite::asset('resources/js/early.js') }}"></script>
@vite(['resources/css/app.css', 'resources/js/app.js'])
