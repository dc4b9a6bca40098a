@if ($groups === [])
    <p class="quiet">There is nothing to set until it is planned.</p>
@else
    <x-setting-groups :$groups :$name/>
@endif
