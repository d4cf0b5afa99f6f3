@php
use PaperKite\Checkout\CheckoutField;
$wrong = $view->wrong();
$pay = match (true) {
    $view->receipt === null => '',
    $view->receipt->dueNow->isZero() => $view->receipt->giftCards->isZero() ? $say->say('checkout.free') : $say->say('checkout.place'),
    default => $say->say('checkout.pay', amount: $view->receipt->dueNow),
};
@endphp
<x-shop.layout :shop="$shop" :title="$say->say('checkout.title')">
<h1>{{ $say->say('checkout.title') }}</h1>
@if ($view->notice)
<p class="notice" role="alert">{{ $view->notice }}</p>
@endif
@if ($wrong > 0)
<p class="notice" role="alert">{{ $wrong === 1 ? $say->say('checkout.one_wrong') : $say->say('checkout.some_wrong', count: $wrong) }}</p>
@endif
<form method="post" action="{{ $view->address }}" class="two-columns" novalidate data-once data-live>
@if ($view->receipt !== null)
<p class="total-first"><span>{{ $say->say('bill.total') }}</span> <strong>{{ $view->receipt->total->shown() }}</strong> <a href="#bill">{{ $say->say('checkout.show_bill') }}</a></p>
@endif
<input type="hidden" name="digest" value="{{ $view->digest }}">
{{-- The first button of a form is the one that Enter presses. --}}
<button class="visually-hidden" name="pay" value="1" tabindex="-1" aria-hidden="true">{{ $say->say('checkout.pay_short') }}</button>
<section aria-label="{{ $view->isSent ? $say->say('checkout.goods_address') : $say->say('checkout.goods_receipt') }}">
<x-shop.taken :names="$taken" />
<x-shop.joined :joined="$joined" />
<x-shop.lines :columns="$shop->shopfront->cartColumns" :rows="$view->cart->rows" :quantities="$view->quantities" :errors="$view->lineErrors" asks-attendees />
<button class="plain" name="update" value="1" data-update>{{ $say->say('cart.reckon') }}</button>
<h2>{{ $view->isSent ? $say->say('checkout.where') : $say->say('checkout.where_receipt') }}</h2>
@unless ($isSignedIn)<p class="fields-note">{!! $say->html('checkout.no_account', link: '<a href="/account">'.e($say->say('checkout.have_link')).'</a>') !!}</p>@endunless

<div class="fields">
@foreach ($view->demands as $name => $demand)
@php $field = CheckoutField::from($name); @endphp
<x-shop.field :field="$field" :typed="$view->typed" :errors="$view->errors" :demand="$demand">
@if ($field === CheckoutField::Country)
<select id="country" name="country" autocomplete="country" data-reckon @isset($view->errors['country']) aria-invalid="true" aria-describedby="country-error" @endisset>
@foreach ($view->countries as $code => $countryName)
<option value="{{ $code }}" @selected($view->typed['country'] === $code)>{{ $countryName }}</option>
@endforeach
</select>
@endif
</x-shop.field>
@endforeach
</div>
</section>
<section class="slip" id="bill" aria-label="{{ $say->say('cart.bill') }}">
<x-shop.reckoned :reckoned="$view->cart->bill" :words="$shop->wording()" :zone="$shop->zone()" />
@if ($shop->checkout_rules->couponPlace->isInCheckout())
<x-shop.coupon :view="$view->cart" :typed="$view->typed['coupon'] ?? ''" :error="$view->errors['coupon'] ?? null" />
@endif
@if ($takesCards)
<x-shop.cards :payments="$view->cart->bill->cards" :typed="$view->typed['card'] ?? ''" :error="$view->errors['card'] ?? null" />
@endif
@if ($view->receipt !== null)
<button class="button wide in-slip" name="pay" value="1">{{ $pay }}</button>
@endif
<x-shop.texts :shop="$shop" />
@if ($view->payWays)<x-shop.ways :ways="$view->payWays" :say="$say" />@endif
@if ($view->payNotice)<p class="pay-notice">{{ $say->text($view->payNotice) }}</p>@endif
</section>
@if ($view->receipt !== null)
<div class="pay-bar"><button class="button wide" name="pay" value="1">{{ $pay }}</button></div>
@endif
</form>
</x-shop.layout>
