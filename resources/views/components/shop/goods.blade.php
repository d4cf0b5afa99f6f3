@props(['products'])
@php use App\Shopfront\PriceTag; @endphp
<ul class="goods">
@foreach ($products as $product)
@php $tag = PriceTag::of($product); @endphp
<li>
<a href="/p/{{ rawurlencode($product->sku) }}">
<img src="{{ $product->lead()->path }}" alt="" width="160" height="160" loading="lazy">
<span class="goods-name" dir="auto">{{ $product->name }}</span>
<span class="goods-price">@if ($tag->isSoldOut) Sold out @else {{ $tag->shown() }}@if ($tag->regular) <s>{{ $tag->regular->shown() }}</s>@endif @endif</span>
</a>
</li>
@endforeach
</ul>
