{{-- What can be set for one place: its scene, and its shot. --}}
<div>
    <h2>Scene {{ $place->number }}</h2>
    <x-setting-groups :groups="$place->scene" name="here-scene"/>
</div>
<div>
    <h2>Its shot that is chosen</h2>
    @if ($place->shot === [])
        <p class="quiet">Pictures come with the plan.</p>
    @else
        <x-setting-groups :groups="$place->shot" name="here-shot" :finds="false"/>
    @endif
</div>
