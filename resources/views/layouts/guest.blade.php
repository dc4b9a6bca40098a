<!doctype html>
<html lang="en">
<head>
    <meta name="robots" content="noindex">
    <meta name="referrer" content="no-referrer">
    @include('layouts._head')
</head>
<body>
    <header class="masthead"><span class="masthead-name">Rapid Reel</span></header>
    <main id="main" class="page">@yield('content')</main>
</body>
</html>
