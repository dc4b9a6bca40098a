@foreach ($guests as $link)
    <p class="review-guest"><b>{{ $link->name }}</b> until {{ $link->ends_at->format('j F Y, H:i') }}
        <button type="button" class="link" data-withdraw="{{ route('guests.destroy', $link) }}">Withdraw</button></p>
@endforeach
