@php($version = $sheet->version)
<section class="version" aria-labelledby="version-name">
    <div class="version-head">
        <div>
            <h2 id="version-name">{{ $sheet->language() }}</h2>
            <p class="quiet">{{ $sheet->lead() }}
                <a href="{{ route('shorts.show', $version) }}" data-key="o" data-key-does="Open the version"
                    >Open it</a></p>
        </div>
        <div class="actions">
            @if ($sheet->behind > 0 && $sheet->isKnown)
                <form method="post" action="{{ route('versions.bring', $version) }}">
                    @csrf
                    <button class="btn btn-primary" data-key="u"
                        data-key-does="Have what is behind translated, and nothing else">Bring {{ $sheet->behind }}
                        up to date</button>
                </form>
            @endif
            <span class="actions-what">For a translator</span>
            <a href="{{ route('versions.file', [$version, 'xlf']) }}">XLIFF</a>
            <a href="{{ route('versions.file', [$version, 'csv']) }}">CSV</a>
            <form method="post" action="{{ route('versions.take', $version) }}" enctype="multipart/form-data"
                x-data @change="$el.submit()">
                @csrf
                <label class="btn btn-outline-dark" for="translation" tabindex="0"
                    @keydown.enter="$refs.translation.click()">Upload what came back</label>
                <input type="file" id="translation" name="file" x-ref="translation" class="visually-hidden"
                    tabindex="-1" accept=".xlf,.xliff,.csv,.txt">
            </form>
        </div>
    </div>
    <form method="post" action="{{ route('versions.say', $version) }}" id="sentences">
        @csrf @method('put')
        <table class="sentences">
            <thead>
                <tr><th>First</th><th>{{ $sheet->language() }}</th><th class="num">Time</th></tr>
            </thead>
            <tbody>
                @foreach ($sheet->lines as $line)
                    <tr @class(['is-behind' => $line->state->isBehind()])>
                        <td dir="auto">
                            @if ($line->before !== '')
                                <del>{{ $line->before }}</del>
                            @endif
                            {{ $line->source }}
                        </td>
                        <td>
                            @if ($line->id === '')
                                <span dir="{{ $sheet->direction() }}" lang="{{ $version->language }}">{{
                                    $line->target }}</span>
                            @else
                                <textarea class="form-control form-control-sm" name="said[{{ $line->id }}]" rows="2"
                                    dir="{{ $sheet->direction() }}" lang="{{ $version->language }}" maxlength="1000"
                                    aria-label="{{ $sheet->language() }} of: {{ $line->source }}">{{
                                        $line->target }}</textarea>
                            @endif
                            @php($told = App\Desks\Translating\VersionBook::told($line->state, $line->told))
                            @if ($told !== '')<span class="flag">{{ $told }}</span>@endif
                        </td>
                        <td class="num">
                            <span @class(['is-over' => $line->isLong])>{{ $line->times }}</span>
                            @if ($line->id === 'title')<span class="quiet">title</span>@endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <button class="btn btn-dark" data-key="s" data-key-does="Save the sentences">Save sentences</button>
    </form>
    <details class="glossary" @if ($sheet->glossary !== '') open @endif>
        <summary>Glossary of {{ $sheet->language() }} in this channel</summary>
        <form method="post" action="{{ route('versions.glossary', $version) }}">
            @csrf @method('put')
            <p class="quiet">A word a line: <code>foghorn = Nebelhorn</code> for one that becomes another,
                <code>Calder Ness</code> for one that stays. Every translation is held to it.</p>
            <textarea class="form-control" name="words" rows="4" aria-label="Words of the glossary">{{
                $sheet->glossary }}</textarea>
            <button class="btn btn-sm btn-outline-dark">Save the glossary</button>
        </form>
    </details>
</section>
