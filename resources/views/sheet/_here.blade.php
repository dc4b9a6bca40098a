<div>
    <h2>Scene {{ $place->number }}</h2>
    <div class="scopes">@foreach ($place->scene as $control)<x-scope :$control/>@endforeach</div>
</div>
<div>
    <h2>Its shot that is chosen</h2>
    @if ($place->shot === [])
        <p class="quiet">Pictures come with the plan.</p>
    @endif
    <div class="scopes">@foreach ($place->shot as $control)<x-scope :$control/>@endforeach</div>
</div>
@if ($place->look !== [])
    <div>
        <h2>Look of that shot</h2>
        <div class="scopes">@foreach ($place->look as $control)<x-scope :$control/>@endforeach</div>
    </div>
@endif
