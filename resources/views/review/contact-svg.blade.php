@php([$wide, $high] = $page::PICTURE)
<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="{{ $page->width() }}"
    height="{{ $page->height() }}" viewBox="0 0 {{ $page->width() }} {{ $page->height() }}"
    font-family="DejaVu Sans, Noto Sans, sans-serif">
<rect width="100%" height="100%" fill="#f6f0e3"/>
<text x="{{ $page::EDGE }}" y="52" font-size="30" font-weight="bold" fill="#1b2225">{{
    mb_strimwidth($page->batch->name, 0, 40 * $page->columns, '…')
}}</text>
<text x="{{ $page::EDGE }}" y="82" font-size="16" fill="#545b5a">{{ count($page->entries) }} {{
    count($page->entries) === 1 ? 'short' : 'shorts'
}} · hook, middle and close · {{ now()->format('j F Y, H:i') }}</text>
@foreach ($page->entries as $i => $entry)
@php([$x, $y] = [$page->left($i), $page->top($i)])
<rect x="{{ $x }}" y="{{ $y }}" width="{{ $page::WIDTH - $page::EDGE }}" height="3"
    fill="{{ $entry->isStopped ? '#b0321b' : '#1b2225' }}"/>
<text x="{{ $x }}" y="{{ $y + 26 }}" font-size="17" font-weight="bold" fill="#1b2225">{{
    sprintf('%02d', $entry->number).' '.mb_strimwidth($entry->title, 0, 46, '…')
}}</text>
@foreach ($entry->sources() as $n => $source)
<image x="{{ $x + $n * ($wide + 2) }}" y="{{ $y + 38 }}" width="{{ $wide }}" height="{{ $high }}"
    preserveAspectRatio="xMidYMid meet" xlink:href="{{ $source }}"/>
@endforeach
@foreach ($page->lines($entry) as $n => $line)
<text x="{{ $x }}" y="{{ $y + $high + 62 + 20 * $n }}" font-size="14"
    fill="{{ $entry->isStopped ? '#8a2612' : '#545b5a' }}">{{ $line }}</text>
@endforeach
@endforeach
</svg>
