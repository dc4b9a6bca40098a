<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $page->batch->name }} · contact sheet</title>
<style>
body { margin: 0; padding: 1.5rem; background: #f6f0e3; color: #1b2225; font: 15px/1.4 system-ui, sans-serif; }
h1 { font: 600 1.7rem/1.1 Georgia, serif; margin: 0 0 0.2rem; }
header p { margin: 0 0 1.2rem; color: #545b5a; }
main { display: grid; grid-template-columns: repeat(auto-fill, minmax(21rem, 1fr)); gap: 1.2rem; }
article { background: #fdfaf2; border-top: 2px solid #1b2225; padding: 0.6rem 0.7rem; break-inside: avoid; }
article.is-stopped { border-top-color: #b0321b; }
h2 { font: 600 1.05rem/1.2 Georgia, serif; margin: 0 0 0.4rem; }
h2 span { color: #545b5a; font-variant-numeric: tabular-nums; }
figure { display: grid; grid-template-columns: repeat(3, 1fr); gap: 0.3rem; margin: 0; }
img { width: 100%; display: block; background: #d8cdb8; }
article p { margin: 0.45rem 0 0; font-size: 0.9rem; }
.stop { color: #8a2612; font-weight: 600; }
.none { color: #545b5a; }
</style>
</head>
<body>
<header>
<h1 dir="auto">{{ $page->batch->name }}</h1>
<p>{{ count($page->entries) }} {{ count($page->entries) === 1 ? 'short' : 'shorts' }} · hook, middle and close of each ·
    as of {{ now()->format('j F Y, H:i') }}</p>
</header>
<main>
@foreach ($page->entries as $entry)
<article @class(['is-stopped' => $entry->isStopped])>
<h2 dir="auto"><span>{{ sprintf('%02d', $entry->number) }}</span> {{ $entry->title }}</h2>
<figure>
@foreach ($entry->sources() as $i => $source)
<img src="{{ $source }}" alt="{{ ['Hook', 'Middle', 'Close'][$i] ?? '' }} of {{ $entry->title }}">
@endforeach
</figure>
@if ($entry->pictures === [])<p class="none">Nothing is made of it yet.</p>@endif
<p><b>{{ $entry->length }}</b>
<span @class(['stop' => $entry->isStopped, 'none' => $entry->findings === []])>{{ $page->says($entry) }}</span>
</p>
</article>
@endforeach
</main>
</body>
</html>
