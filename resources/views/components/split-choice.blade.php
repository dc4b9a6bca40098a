@props(['id', 'rule' => 'sentence'])
{{-- How scripts are split into scenes; a range or a time of one's own can be typed. --}}
<span x-data="splitChoice(@js($rule))" {{ $attributes->class("split-choice") }}>
    <select id="{{ $id }}" class="form-select form-select-sm" x-model="kind">
        @foreach (RapidReel\Script\SplitRule::usual() as $usual)
            <option value="{{ $usual }}">{{ $usual->label() }}</option>
        @endforeach
        <option value="own-words">own range of words</option>
        <option value="own-seconds">own seconds</option>
    </select>
    <span x-show="kind === 'own-words'" x-cloak class="split-own"><input type="number" min="1" max="100" class="form-control form-control-sm" x-model.lazy="from" aria-label="Fewest words of a scene"> to <input type="number" min="1" max="100" class="form-control form-control-sm" x-model.lazy="to" aria-label="Most words of a scene"></span>
    <span x-show="kind === 'own-seconds'" x-cloak class="split-own"><input type="number" min="1" max="60" step="0.5" class="form-control form-control-sm" x-model.lazy="seconds" aria-label="Longest time of a scene in seconds"> s</span>
    <input type="hidden" name="split" :value="rule">
</span>
