@if (count($rows) === 1)
    <p class="length-says">{{ $rows[0]->says }}</p>
    @if ($rows[0]->plan?->steps)
        <table class="order length-steps">
            <thead><tr><th>In this order</th><th>From</th><th>To</th><th class="num">Brings</th>
                <th class="num">At most</th></tr></thead>
            <tbody>
                @foreach ($rows[0]->plan->steps as $step)
                    <tr @class(['is-taken' => $step->isTaken()])>
                        <td>{{ $step->kind->label() }}</td>
                        <td>{{ $step->from }}</td>
                        <td>{{ $step->isTaken() ? $step->to : '' }}</td>
                        <td class="num">{{ $step->isTaken() ? $rows[0]->seconds($step->ms) : '' }}</td>
                        <td class="num quiet">{{ $rows[0]->seconds($step->mostMs) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($rows[0]->gone !== [])
            <p class="length-gone">Left out:
                @foreach ($rows[0]->gone as $text)<s>{{ $text }}</s>@if (! $loop->last) · @endif @endforeach
            </p>
        @endif
    @endif
@else
    <table class="order length-steps">
        <thead><tr><th class="num">No.</th><th>Short</th><th class="num">Now</th><th class="num">Then</th>
            <th>By</th></tr></thead>
        <tbody>
            @foreach ($rows as $row)
                <tr>
                    <td class="num">{{ sprintf('%02d', $row->short->number) }}</td>
                    <td>{{ $row->short->title }}</td>
                    <td class="num">{{ $row->plan ? $row->clock($row->plan->beforeMs) : '' }}</td>
                    <td class="num">{{ $row->plan?->changes() ? $row->clock($row->plan->afterMs) : '' }}</td>
                    <td>{{ $row->by() }}
                        @if ($row->gone !== [])
                            <span class="under">@foreach ($row->gone as $text)<s>{{ $text }}</s> @endforeach</span>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
