@props(['group', 'name'])
{{-- The settings of one section: those at hand, and the rest folded. --}}
<div class="scopes">@foreach ($group->common as $control)<x-scope :$control/>@endforeach</div>
@if ($group->rare !== [])
    <details class="rare" id="rare-{{ $name }}" data-rare>
        <summary>{{ count($group->rare) }} more of {{ lcfirst($group->section->label()) }}@if ($group->ownFolded() > 0)
            <span class="own-count">{{ $group->ownFolded() }} set</span>
        @endif</summary>
        <div class="scopes">@foreach ($group->rare as $control)<x-scope :$control/>@endforeach</div>
    </details>
@endif
