@props(['products'])
<ul class="goods">
@foreach ($products as $product)
@php $core = $product->toCore(); @endphp
<li>
<a href="/p/{{ rawurlencode($product->sku) }}">
<img src="{{ $core->picture->path() }}" alt="" width="160" height="160">
<span class="goods-name" dir="auto">{{ $product->name }}</span>
<span class="goods-price">{{ $core->stock->covers(1) ? $core->price->shown() : 'Sold out' }}</span>
</a>
</li>
@endforeach
</ul>
