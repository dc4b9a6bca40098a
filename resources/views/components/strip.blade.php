@props(['strip'])
{{-- A cut to scale: scenes as blocks, picture changes as ticks, the hook window and the limit as lines. --}}
<svg {{ $attributes->class(['strip', 'is-over' => $strip->over]) }} viewBox="0 0 100 20" preserveAspectRatio="none" role="img" aria-label="{{ $strip->seconds }} seconds of {{ $strip->limitSeconds }}, hook {{ $strip->hookSeconds }} seconds">
    <rect class="strip-room" x="0" y="3" width="{{ $strip->limit }}" height="14"/>
    @foreach ($strip->scenes as $i => $scene)
        <rect class="strip-scene strip-{{ $scene['role'] }} {{ $i % 2 ? 'is-odd' : '' }}" x="{{ $scene['from'] }}" y="3" width="{{ $scene['width'] }}" height="14"><title>{{ $scene['title'] }}</title></rect>
    @endforeach
    @foreach ($strip->cuts as $at)
        <line class="strip-cut" x1="{{ $at }}" x2="{{ $at }}" y1="12" y2="17"/>
    @endforeach
    <line class="strip-hook-window" x1="{{ $strip->hookWindow }}" x2="{{ $strip->hookWindow }}" y1="0" y2="20"/>
    <line class="strip-limit" x1="{{ $strip->limit }}" x2="{{ $strip->limit }}" y1="0" y2="20"/>
</svg>
