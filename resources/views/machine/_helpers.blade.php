@if ($page->problem !== '')
    <p class="notice notice-problem" role="alert">{{ $page->problem }} Its
        address and password are those of <code>REEL_FARM_REDIS</code>.</p>
@endif
@if ($page->rows !== [])
    <table class="order order-machines">
        <thead>
            <tr>
                <th>Machine</th><th>Is at</th><th>Is given</th><th class="num">Made</th><th class="num">Failed</th>
                <th class="num" title="Pixels a second of one maker, ÷ that of one here">Speed ÷ main</th>
                <th>Tools</th><th><span class="visually-hidden">Acts</span></th>
            </tr>
        </thead>
        <tbody>
        @foreach ($page->rows as $row)
            <tr>
                <td class="what"><b>{{ $row->isMain() ? 'Main' : $row->name }}</b>
                    <div class="quiet">{{ $row->makers() }}</div></td>
                <td>@foreach ($row->doing() as $line)<div>{{ $line }}</div>@endforeach</td>
                <td>{{ $row->given() }}</td>
                <td class="num">{{ $row->made() }} <span class="d-md-none">made</span></td>
                <td class="num">@if ($row->failed() > 0)<span class="flag">{{ $row->failed() }}</span>@else 0 @endif
                    <span class="d-md-none">failed</span></td>
                <td class="num">{{ $row->speed() }} <span class="d-md-none">of the main one’s speed</span></td>
                <td class="quiet">{{ $row->tools?->told }} @if ($row->tools !== null)<code>{{
                    substr($row->tools->print, 0, 6) }}</code>@endif</td>
                <td>
                    @unless ($row->isMain())
                        <form method="post" action="{{ route('machine.helpers.update', $row->name) }}">
                            @csrf @method('put')
                            <button class="btn btn-sm btn-outline-dark" name="makes"
                                value="{{ (int) $row->isLeftOut }}">{{ $row->isLeftOut ? 'Take in' : 'Leave out'
                                }}<span class="visually-hidden"> {{ $row->name }}</span></button>
                        </form>
                    @endunless
                </td>
            </tr>
        @endforeach
        </tbody>
    </table>
    <section class="house-lists">
        <div class="house-lists-wide">
            <h2>What could not be made elsewhere</h2>
            <ul class="plain-list">
                @forelse ($page->failures as $failure)
                    <li><b>{{ $failure['machine'] }}</b> {{ $failure['what'] }}
                        <span class="quiet">{{ $failure['why'] }}</span></li>
                @empty
                    <li class="quiet">Nothing in the last seven days.</li>
                @endforelse
            </ul>
            <p class="quiet">What one fails at is made by another, or here. Nothing is lost by it.</p>
        </div>
    </section>
@endif
