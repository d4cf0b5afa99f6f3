@props(['bill', 'words', 'zone', 'total' => null])
<dl class="bill">
@foreach ($bill->lines as $line)
<div><dt><bdi>{{ $line->name }}</bdi>@if ($line->choices !== '') <span class="bill-count" dir="auto">{{ $line->choices }}</span>@endif @if ($line->event) <span class="bill-count" dir="auto">{{ $line->event->shown($zone, $say) }}</span>@endif @if ($line->quantity > 1) <span class="bill-count">{{ $line->quantity }} × {{ $line->unit->shown() }}</span>@endif @if ($line->backOrdered > 0) <span class="bill-count">{{ $line->backOrdered === 1 ? $say->say('bill.one_follows') : $say->say('bill.some_follow', count: $line->backOrdered) }}</span>@endif</dt><dd>{{ $line->subtotal->shown() }}</dd></div>
@endforeach
@foreach ($bill->rows as $row)
<div class="bill-rule"><dt>{{ $say->say($row->kind->key()) }} <x-shop.why :sentence="$row->because?->in($words)" /></dt><dd>{{ $row->shown() }}</dd></div>
@endforeach
<div class="bill-total"><dt>{{ $total ?? $say->say('bill.total') }}</dt><dd>{{ $bill->total->shown() }}</dd></div>
@if ($bill->cards !== null && $bill->due !== null)
<div class="bill-rule"><dt>{{ $say->say($bill->cards->kind->key()) }}</dt><dd>{{ $bill->cards->shown() }}</dd></div>
<div class="bill-total"><dt>{{ $say->say('bill.due') }}</dt><dd>{{ $bill->due->shown() }}</dd></div>
@endif
@foreach ($bill->within as $row)
<div class="bill-tax"><dt>{{ $say->say($row->kind->key()) }} <x-shop.why :sentence="$row->because?->in($words)" /></dt><dd>{{ $row->shown() }}</dd></div>
@endforeach
</dl>
