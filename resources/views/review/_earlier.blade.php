@if ($detail->earlier !== [])
    @php($short = $detail->row->short())
    <section class="review-earlier" aria-label="Said of it">
        <h3>Said of it</h3>
        @foreach ($detail->earlier as $verdict)
            <p><b>{{ $verdict->cleared ? 'Cleared' : 'Sent back' }}</b> by {{ $verdict->by }},
                {{ $verdict->created_at->format('j M, H:i') }}{{
                    $verdict->of === $short->looksLike() && $verdict->of !== '' ? '' : ', as it was then'
                }}
                @if ($verdict->ms !== null)· <button type="button" class="link" data-seek="{{ $verdict->ms }}">{{
                    number_format($verdict->ms / 1000, 1)
                }} s</button>@endif
                @if ($verdict->note !== '')<br><span class="review-said" dir="auto">{{ $verdict->note }}</span>@endif
            </p>
        @endforeach
    </section>
@endif
