@props(['strip'])
{{-- A cut to scale: scenes as blocks, picture changes as ticks, the hook window and the limit as lines. --}}
<svg {{ $attributes->class(['strip', 'is-over' => $strip->isOver()]) }} viewBox="0 0 1000 20" preserveAspectRatio="none"
    role="img"
    aria-label="{{ $strip->seconds() }} seconds {{ $strip->room() }}, hook {{
        $strip->hookSeconds()
    }} seconds">
    <path class="strip-room" d="M0 3H{{ $strip->limit ?? 1000 }}V17H0Z"/>
    @foreach ($strip->scenes as $class => $path)<path class="strip-{{ $class }}" d="{{ $path }}"/>@endforeach
    <path class="strip-cut" d="{{ $strip->cuts }}"/>
    <path class="strip-hook-window" d="M{{ $strip->hookWindow }} 0V20"/>
    @if ($strip->limit !== null)<path class="strip-limit" d="M{{ $strip->limit }} 0V20"/>@endif
</svg>
