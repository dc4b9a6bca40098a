{{-- A card or a sticker at the playhead: what it shows, for how long, and where. --}}
<div class="modal" id="cards" tabindex="-1" aria-labelledby="cards-title" aria-hidden="true">
    <div class="modal-dialog"><form class="modal-content" @submit.prevent="keepCard()">
        <div class="modal-header">
            <h2 class="modal-title" id="cards-title"
                x-text="isNewCard() ? 'A card or sticker here' : 'This card'">A card or sticker here</h2>
            <button type="button" class="btn-close" data-bs-dismiss="modal" aria-label="Close"></button>
        </div>
        <div class="modal-body">
            <p class="notice notice-problem" role="alert" x-show="problem" x-text="problem" x-cloak></p>
            <label class="form-label" for="card-text">Words, an emoji, or the number of a badge</label>
            <input class="form-control" id="card-text" x-model="card.text" autocomplete="off"
                placeholder="Nobody came.">
            <div class="sticker-list" role="radiogroup" aria-label="What it is">
                <label class="sticker" :class="card.kind === 'text' && 'is-chosen'" title="words alone">
                    <input type="radio" name="card-kind" value="text" x-model="card.kind"> Words</label>
                @foreach (RapidReel\Captions\Card\Sticker::cases() as $sticker)
                    <label class="sticker" :class="card.kind === @js($sticker->value) && 'is-chosen'"
                        title="{{ $sticker->label() }}">
                        <input type="radio" name="card-kind" value="{{ $sticker->value }}" x-model="card.kind"
                            @change="card.size > 300 && isNewCard() && (card.size = 180)"
                            aria-label="{{ $sticker->label() }}">
                        <img src="{{ route('stickers.file', $sticker->value) }}" alt="" loading="lazy"></label>
                @endforeach
            </div>
            <div class="card-fields">
                <label>Stays for <span><input type="number" class="form-control form-control-sm" min="0.3" max="60"
                    step="0.1" :value="card.length / 1000" @input="card.length = 1000 * Number($el.value)">
                    s</span></label>
                <label>Comes <select class="form-select form-select-sm" x-model="card.enter">
                    @foreach (RapidReel\Captions\Card\CardMotion::cases() as $motion)
                        <option value="{{ $motion->value }}">{{ $motion->label() }}</option>
                    @endforeach</select></label>
                <label>Goes <select class="form-select form-select-sm" x-model="card.leave">
                    @foreach (RapidReel\Captions\Card\CardMotion::cases() as $motion)
                        <option value="{{ $motion->value }}">{{ match ($motion->value) {
                            'rise' => 'to below', 'fall' => 'to above', 'left' => 'to the left',
                            'right' => 'to the right', 'grow' => 'shrinking', default => $motion->label(),
                        } }}</option>
                    @endforeach</select></label>
                @php($places = ['x' => ['Across', 0, 100], 'y' => ['Down', 0, 100], 'size' => ['Wide', 3, 100]])
                @foreach ($places as $name => [$label, $least, $most])
                    <label>{{ $label }} <span><input type="number" class="form-control form-control-sm"
                        min="{{ $least }}" max="{{ $most }}" step="0.1" :value="card.{{ $name }} / 10"
                        @input="card.{{ $name }} = Math.round(10 * Number($el.value))"> %</span></label>
                @endforeach
                <label>Turned <span><input type="number" class="form-control form-control-sm" min="-180" max="180"
                    step="1" :value="card.turn" @input="card.turn = Math.round(Number($el.value))"> °</span></label>
                <label>Colour <input type="color" :value="'#' + card.fill.replace('#', '')"
                    @input="card.fill = $el.value"></label>
                <label><span><input type="checkbox" class="form-check-input" x-model="cardPlate"> Plate</span>
                    <input type="color" :value="'#' + (card.plate.replace('#', '') || '14202B')" :disabled="!cardPlate"
                        @input="card.plate = $el.value" aria-label="Colour of the plate"></label>
            </div>
        </div>
        <div class="modal-footer">
            <button type="button" class="btn btn-outline-dark" x-show="!isNewCard()" @click="dropCard()">Delete
                it</button>
            <button class="btn btn-primary" x-text="isNewCard() ? 'Put it here' : 'Save it'">Put it here</button>
        </div>
    </form></div>
</div>
