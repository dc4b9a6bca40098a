<button type="button" class="note" data-do="{{ route('shorts.say', $short) }}"
    data-body="{{ json_encode(['note' => $number]) }}"
    title="{{ ucfirst($note->kind->label()) }}, not spoken. Press to have it spoken."
    aria-label="Have this {{ $note->kind->label() }} spoken: {{ $note->text }}"><s>{{ $note->text }}</s></button>
