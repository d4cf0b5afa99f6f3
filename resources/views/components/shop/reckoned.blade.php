@props(['reckoned', 'words', 'zone'])
@php $bill = $reckoned->bill(); @endphp
@if ($bill === null)
@foreach ($reckoned->faults as $fault)
<p class="field-error">{{ $fault->said?->in($words) ?? $fault->message }}</p>
@endforeach
@else
<x-shop.bill :bill="$bill" :words="$words" :zone="$zone" />
@endif
