@php $core = $product->toCore(); @endphp
<x-shop.layout :shop="$shop" :title="$product->name">
<div class="product">
<img src="{{ $core->picture->path() }}" alt="{{ $core->picture->label() }}" width="420" height="420">
<div>
<h1 dir="auto">{{ $product->name }}</h1>
<p class="price">{{ $core->price->shown() }}</p>
@if ($core->stock->covers(1))
<form method="post" action="/cart/add" class="product-form" novalidate>
<input type="hidden" name="sku" value="{{ $product->sku }}">
<input type="hidden" name="k" value="{{ $code }}">
<div class="field">
<label for="quantity">How many</label>
<input id="quantity" name="quantity" value="{{ $quantity }}" inputmode="numeric" autocomplete="off" @if ($error) aria-invalid="true" aria-describedby="quantity-error" @endif>
@if ($error)<p class="field-error" id="quantity-error">{{ $error }}</p>@endif
</div>
<button class="button">Add to cart</button>
</form>
@else
<p class="lead">Sold out at the moment.</p>
@endif
<p class="bill-why">{{ $shop->rules()->shippingFee->isZero() ? 'Shipping is included.' : "Shipping is {$shop->rules()->shippingFee->shown()} an order." }}</p>
</div>
</div>
</x-shop.layout>
