@if ($page->use === null)
    <p class="notice">To know what fills it all files are gone through, which takes some seconds where there are very
        many. A worker does so every hour, and whenever you say <b>Measure</b>.</p>
@else
    @if ($page->use->said !== '')<p class="notice notice-problem" role="alert">{{ $page->use->said }}</p>@endif
    @if ($page->isOver())
        <p class="notice">More can be made again than is given to it: what is left is in use. It goes when it was not
            used for half an hour.</p>
    @endif
    <h2 class="disk-part">By kind</h2>
    <table class="order order-disk">
        <thead><tr>
            <th>What</th><th class="num">Files</th><th class="num">Takes</th>
            <th><span class="visually-hidden">Of all</span></th><th>Without it</th>
            <th><span class="visually-hidden">Acts</span></th>
        </tr></thead>
        <tbody>
        @foreach ($page->kinds() as $kind)
            <tr>
                <td><b>{{ $kind->label() }}</b></td>
                <td class="num">{{ number_format($page->use->files($kind)) }} <span class="d-md-none">files</span></td>
                <td class="num">{{ App\Doors\Http\Presenters\Machine\Bytes::said($page->use->bytes($kind)) }}</td>
                <td><svg class="share" viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true"><rect
                    @class(['is-kept' => $kind->worth() === null]) width="{{ $page->share($page->use->bytes($kind)) }}"
                    height="10"/></svg></td>
                <td class="quiet">{{ $kind->cost() }}</td>
                <td>@if ($kind->worth() !== null)
                    <form method="post" action="{{ route('machine.disk.act') }}">
                        @csrf <input type="hidden" name="kind" value="{{ $kind->value }}">
                        <button class="btn btn-sm btn-outline-dark" name="do" value="empty-kind">Empty<span
                            class="visually-hidden"> {{ $kind->label() }}</span></button>
                    </form>
                @endif</td>
            </tr>
        @endforeach
            <tr>
                <td><b>Database</b></td><td></td>
                <td class="num">{{ App\Doors\Http\Presenters\Machine\Bytes::said($page->use->database) }}</td>
                <td><svg class="share" viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true"><rect
                    class="is-kept" width="{{ $page->share($page->use->database) }}" height="10"/></svg></td>
                <td class="quiet">Everything that was written: save it.</td><td></td>
            </tr>
        </tbody>
    </table>
    @if ($page->use->strays > 0)
        <details class="sure">
            <summary>{{ App\Doors\Http\Presenters\Machine\Bytes::said($page->use->strays) }} of finished files are of
                no export that the database knows</summary>
            <form method="post" action="{{ route('machine.disk.act') }}">
                @csrf <p>They may be of a later time than a database that was restored.</p>
                <button class="btn btn-sm btn-danger" name="do" value="strays">Delete them</button>
            </form>
        </details>
    @endif
    <h2 class="disk-part">By batch</h2>
    @if ($page->batches->isEmpty())
        <p class="quiet">No batch has anything on it yet.</p>
    @else
    <table class="order order-disk">
        <thead><tr>
            <th>Batch</th><th class="num">Finished</th><th class="num">Elsewhere</th>
            <th class="num">Shots and sound</th><th class="num">Previews</th><th class="num">In all here</th>
            <th><span class="visually-hidden">Acts</span></th>
        </tr></thead>
        <tbody>
        @foreach ($page->batches as $batch)
            <tr>
                <td class="what">@if ($batch->name !== '')<a href="{{ route('batches.show', $batch->id) }}">{{
                    $batch->name }}</a>@else<b>Batch {{ $batch->id }}</b>@endif <span>{{ $batch->channel }}</span></td>
                @foreach ([[$batch->finished(), 'finished'], [$batch->moved, 'elsewhere'],
                    [$batch->parts(), 'on the way'], [$batch->previews(), 'previews'], [$batch->whole(), 'in all']]
                    as [$bytes, $of])
                    <td class="num">{{ App\Doors\Http\Presenters\Machine\Bytes::said($bytes) }}
                        <span class="d-md-none">{{ $of }}</span></td>
                @endforeach
                <td>
                    <form class="disk-acts" method="post" action="{{ route('machine.disk.act') }}">
                        @csrf <input type="hidden" name="batch" value="{{ $batch->id }}">
                        <input type="hidden" name="page" value="{{ $page->batches->currentPage() }}">
                        @if ($batch->madeAgain() > 0)
                            <button class="btn btn-sm btn-outline-dark" name="do" value="empty-batch">Empty<span
                                class="visually-hidden"> what can be made again of batch {{ $batch->id }}</span>
                            </button>
                        @endif
                        @if ($page->other !== '' && $batch->here > 0)
                            <button class="btn btn-sm btn-outline-dark" name="do" value="move">Move finished<span
                                class="visually-hidden"> files of batch {{ $batch->id }}</span></button>
                        @endif
                        @if ($batch->moved > 0)
                            <button class="btn btn-sm btn-outline-dark" name="do" value="bring">Bring back<span
                                class="visually-hidden"> files of batch {{ $batch->id }}</span></button>
                        @endif
                        @if ($batch->replaced > 0)
                            <details class="sure">
                                <summary>Replaced: {{ $batch->replaced }}</summary>
                                <p>Files that a later export of the same short took the place of. They cannot be had
                                    again.</p>
                                <button class="btn btn-sm btn-danger" name="do" value="replaced">Delete them</button>
                            </details>
                        @endif
                    </form>
                </td>
            </tr>
        @endforeach
        </tbody>
    </table>
    {{ $page->batches->links() }}
    @endif
@endif
