@props(['bill'])
@php
use PaperKite\Quote\Because;
$receipt = $bill->receipt;
@endphp
@if ($receipt === null)
@foreach ($bill->faults as $fault)
<p class="field-error">{{ $fault->message }}</p>
@endforeach
@else
@php $because = Because::of($receipt); @endphp
<dl class="bill">
@foreach ($receipt->lines as $line)
<div><dt><bdi>{{ $line->pick->name() }}</bdi>@if ($line->pick->quantity->pieces > 1) <span class="bill-count">{{ $line->pick->quantity->pieces }} × {{ $line->unit->today->shown() }}</span>@endif</dt><dd>{{ $line->subtotal->shown() }}</dd></div>
@endforeach
@unless ($receipt->discount->total->isZero())
<div class="bill-rule"><dt>Discount <x-shop.why :sentence="$because->discount" /></dt><dd>−{{ $receipt->discount->total->shown() }}</dd></div>
@endunless
<div class="bill-rule"><dt>Shipping <x-shop.why :sentence="$because->shipping" /></dt><dd>{{ $receipt->shipping->fee->shown() }}</dd></div>
@unless ($receipt->tax->isZero() || $receipt->shop->tax->areContained)
<div class="bill-rule"><dt>Tax <x-shop.why :sentence="$because->tax" /></dt><dd>{{ $receipt->tax->shown() }}</dd></div>
@endunless
<div class="bill-total"><dt>Total</dt><dd>{{ $receipt->total->shown() }}</dd></div>
@if ($receipt->shop->tax->areContained && ! $receipt->tax->isZero())
<div class="bill-tax"><dt>Tax in it <x-shop.why :sentence="$because->tax" /></dt><dd>{{ $receipt->tax->shown() }}</dd></div>
@endif
</dl>
@endif
