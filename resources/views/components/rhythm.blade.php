@props(['rhythm'])
{{-- The rhythm of a short, time across: shots as bars as high as they are long, speech as a line, silence below. --}}
<svg viewBox="0 0 {{ $rhythm::WIDTH }} {{ $rhythm::HEIGHT }}" role="img" preserveAspectRatio="none"
    {{ $attributes->class('rhythm') }} aria-label="Shot lengths as bars, words a second as a line, silence at the foot">
    @foreach ([2, 3] as $seconds)
        <line x1="0" x2="{{ $rhythm::WIDTH }}" y1="{{ $rhythm->height($seconds) }}"
            y2="{{ $rhythm->height($seconds) }}" class="pace-usual"/>
    @endforeach
    @foreach ($rhythm->bars() as $bar)
        <rect x="{{ $bar['x'] }}" y="{{ $bar['y'] }}" width="{{ $bar['width'] }}" height="{{ $bar['height'] }}"
            @class(['pace-shot', 'is-long' => $bar['long']])/>
    @endforeach
    <polyline points="{{ $rhythm->line() }}" class="pace-rate"/>
    @foreach ($rhythm->silences() as $silence)
        <rect x="{{ $silence['x'] }}" y="{{ $rhythm::HEIGHT - $rhythm::STRIP }}"
            width="{{ $silence['width'] }}" height="{{ $rhythm::STRIP }}" class="pace-silence"/>
    @endforeach
</svg>
