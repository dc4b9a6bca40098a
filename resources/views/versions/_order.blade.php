<fieldset class="languages">
    <legend>Languages</legend>
    @foreach ($offered as $tag => $name)
        <label><input type="checkbox" class="form-check-input" name="languages[]" value="{{ $tag }}"> {{
            $name }}</label>
    @endforeach
    <label class="languages-other">Others, by their tags
        <input class="form-control form-control-sm" name="other" maxlength="200" placeholder="ja, pt-PT"
            autocomplete="off"></label>
</fieldset>
<label class="languages-way">Times
    <select class="form-select form-select-sm" name="way">
        @foreach (RapidReel\Text\Translation\Version\VersionWay::cases() as $way)
            <option value="{{ $way->value }}">{{ ucfirst($way->says()) }}</option>
        @endforeach
    </select></label>
