@props(['receipt'])
<dl class="bill">
@foreach ($receipt->lines as $line)
<div><dt><bdi>{{ $line->product->name }}</bdi>@if ($line->quantity > 1) <span class="bill-count">{{ $line->quantity }} × {{ $line->unit->shown() }}</span>@endif</dt><dd>{{ $line->subtotal->shown() }}</dd></div>
@endforeach
<div class="bill-rule"><dt>Shipping <span class="bill-why">{{ $receipt->shippingBecause }}</span></dt><dd>{{ $receipt->shipping->shown() }}</dd></div>
<div class="bill-total"><dt>Total</dt><dd>{{ $receipt->total->shown() }}</dd></div>
</dl>
