{{-- The words of the house, saved together. --}}
@php($channel = $house->channel)
<section class="house-section" id="section-house-words" aria-labelledby="house-words-name">
    <div class="house-section-head">
        <h2 id="house-words-name">Words of the house</h2>
        <p class="quiet">The name of the channel, and the words that briefs and voices go by.</p>
    </div>
<form method="post" action="{{ route('house.update') }}" class="house">
    @csrf @method('put')
    @if ($errors->any())
        <p class="notice notice-problem" role="alert">{{ $errors->first() }}</p>
    @endif
    <label for="name">Channel</label>
    <div>
        <input id="name" name="name" class="form-control" maxlength="80" value="{{ old('name', $channel->name) }}"
            required>
        <p class="quiet">A hook that begins with it is flagged: a name holds nobody’s attention.</p>
    </div>
    <label for="style_words">Style words</label>
    <div>
        <input id="style_words" name="style_words" class="form-control" maxlength="400"
            value="{{ old('style_words', $channel->style_words) }}"
            placeholder="oil painting, lamplight, deep shadows, muted blue and amber">
        <p class="quiet">They stand at the end of every brief, so that all pictures share one look.</p>
    </div>
    <label for="figures">Figures</label>
    <div>
        <textarea id="figures" name="figures" class="form-control" rows="3" maxlength="8000"
            placeholder="the keeper = a lean man of sixty, white beard, blue cap">{{
                old('figures', $channel->figures)
            }}</textarea>
        <p class="quiet">Who or what comes again, an equals sign, and how it looks; one a line. Every brief that names
        one tells it in these words, so that it looks the same each time.</p>
    </div>
    <label for="views">Views</label>
    <div>
        <input id="views" name="views" class="form-control" maxlength="400" value="{{ old('views', $channel->views) }}"
            placeholder="{{ implode(', ', RapidReel\Plan\Brief\BriefWriter::VIEWS) }}">
        <p class="quiet">From where the shots of one scene show it, one after the other, with commas between.</p>
    </div>
    <label for="forbidden">Not to be shown</label>
    <div>
        <textarea id="forbidden" name="forbidden" class="form-control" rows="4" maxlength="4000"
            placeholder="One word or name a line">{{ old('forbidden', $channel->forbidden) }}</textarea>
        <p class="quiet">A brief that holds one of these words or names is flagged.</p>
    </div>
    <label for="pronunciations">How to say it</label>
    <div>
        <textarea id="pronunciations" name="pronunciations" class="form-control" rows="4" maxlength="4000"
            placeholder="Josse = Yossa&#10;HMS = Her Majesty's Ship">{{
                old('pronunciations', $channel->pronunciations)
            }}</textarea>
        <p class="quiet">What is written, an equals sign, and how the voices say it; one a line. Captions show what is
        written.</p>
    </div>
    <div class="house-save">
        <button class="btn btn-primary">Save the words</button>
        @if (session('saved') === true)<span class="state state-ready" role="status">saved</span>@endif
    </div>
</form>
</section>
