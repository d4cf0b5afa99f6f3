@php use App\Shopfront\PriceTag; @endphp
<x-shop.layout :shop="$shop" :title="$product->name" :page="$page" :data="[$data->standing()]">
@include('shop.parts.product')
@if ($product->description)<div class="rich product-text" dir="auto">{!! $product->description !!}</div>@endif
@php $addOns = $product->addOns->reject(fn ($other) => PriceTag::of($other, $at)->isSoldOut); @endphp
@if ($addOns->isNotEmpty())
<h2>{{ $say->say('product.goes_well') }}</h2>
<x-shop.goods :products="$addOns" is-small />
@endif
</x-shop.layout>
