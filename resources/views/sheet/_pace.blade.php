<h2>Pace</h2>
<div class="pace-cols">
    <div>
        <table class="order pace-measures">
            <tbody>
                @foreach ($page->report->measures() as $measure)
                    <tr @class(['is-unusual' => ! $measure->isUsual()])>
                        <th scope="row">{{ $measure->label }}</th>
                        <td class="num"><b>{{ $measure->says() }}</b></td>
                        <td>{{ $measure->isUsual() ? '' : '▲ ' }}{{ $measure->practice() }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <figure class="pace-picture">
        <x-rhythm :rhythm="$page->rhythm()"/>
        <figcaption>Bars: shots, between the lines 2 to 3 s · line: words a second · foot: silence</figcaption>
    </figure>
    <div>
        @if ($page->findings() === [])
            <p class="quiet">Nothing stands out.</p>
        @else
            <ul class="pace-findings">
                @foreach ($page->findings() as $finding)
                    <li>
                        <button type="button" class="link" data-to="{{ $finding->ms }}">{{
                            sprintf('%d:%04.1f', intdiv($finding->ms, 60000), $finding->ms % 60000 / 1000)
                        }}</button>
                        {{ $finding->message }}
                        @if ($finding->mend)
                            <button type="button" class="btn btn-sm btn-outline-dark"
                                data-does="{{ $finding->mend->does }}" data-value="{{ $finding->mend->value }}"
                                data-scene="{{ $finding->scene }}"
                                data-level="{{ $finding->mend->isOfScene ? 'scene' : 'short' }}">{{
                                $finding->mend->label
                            }}</button>
                        @endif
                    </li>
                @endforeach
            </ul>
        @endif
    </div>
</div>
