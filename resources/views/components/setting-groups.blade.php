@props(['groups', 'name' => 'set', 'finds' => true])
{{-- Settings by section, with a field that finds them; those that few need are folded. --}}
<div class="setting-groups" data-found-in>
    @if ($finds)<x-finder/>@endif
    <p class="quiet" data-found-nothing hidden>No setting has these words.</p>
    @foreach ($groups as $key => $group)
        <div class="setting-group" data-section>
            <h3>{{ $group->section->label() }}</h3>
            <x-setting-list :$group :name="$name.'-'.$key"/>
        </div>
    @endforeach
</div>
