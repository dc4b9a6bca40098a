@props(['id', 'tones'])
<label for="{{ $id }}">Tone</label>
<select id="{{ $id }}" name="tone" class="form-select form-select-sm">
    @foreach ($tones as $tone)
        <option value="{{ $tone->value }}">{{ ucfirst($tone->value) }}</option>
    @endforeach
</select>
