<x-shop.layout :shop="$shop" :title="$table->name" :css="$css">
<h1 dir="auto">{{ $table->name }}</h1>
<ul class="offer-table">
@foreach ($columns as $index => $column)
@php $names = implode(', ', $column->says->names); @endphp
<li @class(["column-{$index}", 'is-stressed' => $column->isStressed])>
<p class="badge" dir="auto">{{ $column->isStressed ? $table->badge : '' }}</p>
<h2 dir="auto">{{ $names }}</h2>
<ul>@foreach ($column->says->lines as $line)<li dir="auto">{!! $line === '' ? '&nbsp;' : e($line) !!}</li>@endforeach</ul>
<p class="price">@if ($column->price !== ''){{ $column->price }}@if ($column->regular !== '') <s>{{ $column->regular }}</s>@endif @if ($column->says->priceNote !== '')<small>{{ $column->says->priceNote }}</small>@endif @else{{ $column->says->partnerPrice }}@endif</p>
@if ($column->address === '')<p class="not-now" dir="auto">{{ $column->caption }}</p>@else<p><a class="button" href="{{ $column->address }}" @if ($column->says->disclosure !== '') rel="{{ PaperKite\Medium\PartnerNote::REL }}" @endif dir="auto">{{ $column->caption }}<span class="visually-hidden">: {{ $names }}</span></a></p>@endif
<p class="partner-note" dir="auto">{{ $column->says->disclosure }}</p>
</li>
@endforeach
</ul>
</x-shop.layout>
