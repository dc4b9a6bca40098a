@props(['id' => null, 'name' => null, 'rule' => 'sentence', 'label' => 'Scenes', 'inherit' => null])
{{-- How scripts are split into scenes; a range or a time of one's own can be typed. --}}
<span x-data="splitChoice(@js($rule))" {{ $attributes->class('split-choice') }}>
    <select @if ($id) id="{{ $id }}" @endif class="form-select form-select-sm" x-model="kind" aria-label="{{ $label }}">
        @if ($inherit !== null)<option value="">{{ $inherit }}</option>@endif
        @foreach (RapidReel\Text\Script\SplitRule::usual() as $usual)
            <option value="{{ $usual }}">{{ ucfirst($usual->label()) }}</option>
        @endforeach
        <option value="own-words">Own range of words</option>
        <option value="own-seconds">Own seconds</option>
    </select>
    <span x-show="kind === 'own-words'" x-cloak class="split-own">
        <input type="number" min="1" max="100" class="form-control form-control-sm" x-model.lazy="from"
            aria-label="Fewest words of a scene"> to
        <input type="number" min="1" max="100" class="form-control form-control-sm" x-model.lazy="to"
            aria-label="Most words of a scene">
    </span>
    <span x-show="kind === 'own-seconds'" x-cloak class="split-own">
        <input type="number" min="1" max="60" step="0.5" class="form-control form-control-sm" x-model.lazy="seconds"
            aria-label="Longest time of a scene in seconds"> s
    </span>
    <input type="hidden" @if ($name) name="{{ $name }}" @endif :value="rule" data-rule>
</span>
