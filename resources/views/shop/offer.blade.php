<x-shop.layout :shop="$shop" :title="$caption" :css="$css">
<form method="post" action="/o/{{ $placement->code }}{{ $placement->within === null ? '' : "?in={$placement->within->code}" }}" class="offer-page" novalidate>
@if (count($goods) > 1)<h1 dir="auto">{{ $caption }}</h1>@endif
@foreach ($goods as $i => $each)
@php $product = $each->line->product; @endphp
<section class="offered" data-goods>
@if ($each->picture)
<div>
<x-shop.picture :picture="$each->picture" sizes="(min-width: 42rem) 16rem, 90vw" side="260" :is-first="$loop->first" swaps />
<x-shop.more-pictures :pictures="$product->pictures" />
</div>
@endif
<div>
@if (count($goods) === 1)<h1 dir="auto">{{ $product->name }}</h1>@else<h2 dir="auto">{{ $product->name }}</h2>@endif
<p class="price">@if ($each->line->quantity > 1 && $ask === null){{ $each->line->quantity }} × @endif<span data-price>{{ $each->price }}</span> <s data-was></s></p>
@if ($each->choices !== '')<p class="stock" dir="auto">{{ $each->choices }}</p>@endif
<p class="when" data-when dir="auto">{{ $each->when }}</p>
@if ($product->summary)<div class="rich" dir="auto">{!! $product->summary !!}</div>@endif
<x-shop.sample :sample="$product->sample" />
@if ($which = $each->questions->which)
<div data-variants="{{ json_encode($which->variants, JSON_THROW_ON_ERROR) }}">
<x-shop.options :options="$which->options" :chosen="$answer->choices[$i] ?? $which->preselected" name="choice[{{ $i }}]" />
</div>
<p class="stock" data-stock aria-live="polite"></p>
@endif
@if ($howMuch = $each->questions->howMuch)
<x-shop.amounts :question="$howMuch" :id="'amount-'.$product->id" name="amount[{{ $i }}]" own="own_amount[{{ $i }}]" :picked="$answer->picked[$i] ?? null" :typed="$answer->amounts[$i] ?? ''" />
@endif
@isset($answer->choiceErrors[$i])<p class="field-error" role="alert">{{ $answer->choiceErrors[$i] }}</p>@endisset
</div>
</section>
@endforeach
<div class="offer-end">
@if ($ask !== null)
<div class="field">
<label for="quantity" dir="auto">{{ $ask->label }}</label>
<input id="quantity" name="quantity" value="{{ $answer->quantity ?? $goods[0]->line->quantity }}" inputmode="numeric" autocomplete="off" aria-describedby="quantity-limits @if ($answer->quantityError) quantity-error @endif" @if ($answer->quantityError) aria-invalid="true" @endif>
<p class="bill-why" id="quantity-limits">{{ $say->say('offer.from_to', least: $ask->least, most: $ask->most) }}</p>
@if ($answer->quantityError)<p class="field-error" id="quantity-error" role="alert">{{ $answer->quantityError }}</p>@endif
</div>
@endif
@if ($offer->partnerLine())
<x-shop.partner :shop="$shop" :product="$goods[0]->line->product" :country="$country" in="product" :code="$placement->code" :caption="$caption" />
@else
<button class="button" dir="auto">{{ $caption }}</button>
@endif
</div>
</form>
</x-shop.layout>
