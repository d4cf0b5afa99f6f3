@props(['reckoned'])
@php $bill = $reckoned->bill(); @endphp
@if ($bill === null)
@foreach ($reckoned->faults as $fault)
<p class="field-error">{{ $fault->message }}</p>
@endforeach
@else
<x-shop.bill :bill="$bill" />
@endif
