<ul class="version-list">
    @foreach ($page->cards as $card)
        <li @class(['is-here' => $page->chosen === $card->short->id])>
            <a href="{{ route('versions.show', [$page->short, 'in' => $card->short->id]) }}"
                lang="en">{{ $card->language }}</a>
            <span @class(['quiet' => ! $card->isBehind, 'flag' => $card->isBehind])>{{ $card->state }}</span>
        </li>
    @endforeach
    @foreach ($page->orders as $order)
        <li>
            <b>{{ App\Desks\Translating\VersionBook::called($order->language) }}</b>
            @if ($order->open)
                <span class="state state-working">being made</span>
            @else
                <span class="flag" role="alert">{{ $order->problem }}</span>
                <form method="post" action="{{ route('versions.forget', $page->short) }}">
                    @csrf @method('delete')
                    <input type="hidden" name="order" value="{{ $order->id }}">
                    <button class="link">Take it off</button>
                </form>
            @endif
        </li>
    @endforeach
</ul>
