@php $lead = $product->lead(); @endphp
<div @class(['product', 'has-pictures' => $lead !== null])>
@if ($lead !== null)
<div class="product-pictures">
<x-shop.picture :picture="$now?->shown() ?? $lead" :alt="$lead->alt" sizes="(min-width: 48rem) 26rem, 92vw" side="420" is-first swaps />
<x-shop.more-pictures :pictures="$product->pictures" />
</div>
@endif
<div>
<h1 dir="auto">{{ $product->name }}</h1>
<p class="price"><span data-price>{{ $now->price ?? $tag->shown($say) }}</span> <s data-was>{{ $now === null ? $tag->regular?->shown() : $now->was }}</s></p>
<p class="when" data-when dir="auto">{{ $now?->when ?: $when }}</p>
@if ($product->kind->isElsewhere())
<x-shop.partner :shop="$shop" :product="$product" :country="$country" :in="$surface->value" :code="$code" />
@elseif (! $tag->isSoldOut)
<form method="post" action="/cart/add" class="product-form" novalidate data-add @if ($variants !== []) data-variants="{{ json_encode($variants, JSON_THROW_ON_ERROR) }}" @endif>
<input type="hidden" name="sku" value="{{ $product->sku }}">
<input type="hidden" name="k" value="{{ $code }}">
@if ($rest !== '')<input type="hidden" name="rest" value="{{ $rest }}">@endif
@if ($questions->howMuch)
<x-shop.amounts :question="$questions->howMuch" :id="'amount-'.$product->id" :picked="$picked" :typed="$ownAmount" :error="$errors['amount'] ?? null" />
@else
<x-shop.options :options="$questions->which->options ?? []" :chosen="$chosen" name="choice" />
@endif
@isset($errors['choices'])<p class="field-error" role="alert">{{ $errors['choices'] }}</p>@endisset
<p class="stock" data-stock aria-live="polite">{{ $now->stock ?? $stock }}</p>
@unless ($questions->howMuch)
<div class="field">
<label for="quantity">{{ $say->say('product.how_many') }}</label>
<input id="quantity" name="quantity" value="{{ $quantity }}" inputmode="numeric" autocomplete="off" @isset($errors['quantity']) aria-invalid="true" aria-describedby="quantity-error" @endisset>
@isset($errors['quantity'])<p class="field-error" id="quantity-error">{{ $errors['quantity'] }}</p>@endisset
</div>
@endunless
<x-shop.buttons :buttons="$buttons" />
</form>
@else
<p class="lead">{{ $product->isOver(null) && $variants === [] ? $say->say('product.date_passed') : App\Shopfront\GoodsButton::soldOut($shop) }}</p>
@unless ($product->isOver(null) && $variants === [])
<x-shop.back :product="$product" :shop="$shop" :is-asked="$isAsked" :error="$errors['back'] ?? null" :typed="$email" />
@endunless
@endif
@if ($product->summary)<div class="rich product-summary" dir="auto">{!! $product->summary !!}</div>@endif
@if ($product->kind->has(PaperKite\Catalogue\ProductPart::Recipient))<p><a href="/card">{{ $say->say('gift.check') }}</a></p>@endif
<x-shop.sample :sample="$product->sample" />
@if ($shipping !== '')<p class="bill-why">{{ $shipping }}</p>@endif
@if ($variants !== [])
<details class="all-prices">
<summary>{{ $say->say('product.all_prices') }}</summary>
<table>
<thead><tr>@foreach ($product->options as $option)<th scope="col" dir="auto">{{ $option->name }}</th>@endforeach @if (array_filter(array_column($variants, 'when')))<th scope="col">{{ $say->say('product.when') }}</th>@endif<th scope="col">{{ $say->say('product.price') }}</th><th scope="col">{{ $product->kind->ships() ? $say->say('product.stock') : $say->say('product.seats') }}</th></tr></thead>
<tbody>
@foreach ($variants as $variant)
<tr>@foreach ($variant->choices as $choice)<td dir="auto">{{ $choice }}</td>@endforeach @if (array_filter(array_column($variants, 'when')))<td dir="auto">{{ $variant->when }}</td>@endif<td>{{ $variant->price }}@if ($variant->was) <s>{{ $variant->was }}</s>@endif</td><td>{{ $variant->stock === '' ? $say->say('product.available') : $variant->stock }}</td></tr>
@endforeach
</tbody>
</table>
</details>
@endif
@if ($product->traits)
<dl class="traits">
@foreach ($product->traits as $trait)
<div><dt dir="auto">{{ $trait['name'] }}</dt><dd dir="auto">{{ implode(', ', $trait['values']) }}</dd></div>
@endforeach
</dl>
@endif
</div>
@if ($seen !== '')<img src="{{ $seen }}" alt="" hidden>@endif
</div>
