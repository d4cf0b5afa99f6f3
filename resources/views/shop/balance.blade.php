<x-shop.layout :shop="$shop" :title="$say->say('gift.title')">
<div class="shop-narrow">
<h1>{{ $say->say('gift.check') }}</h1>
@if ($card !== null)<p class="notice" role="status">{{ $say->say('gift.there_is', amount: $card->money($card->balance_minor), tail: $card->tail) }}</p>@endif
<form method="post" action="/card" class="product-form" novalidate>
<div class="field">
<label for="card">{{ $say->say('gift.code') }}</label>
<input id="card" name="card" value="{{ $typed }}" autocomplete="off" autocapitalize="characters" spellcheck="false" maxlength="80" @if ($error) aria-invalid="true" aria-describedby="card-error" @endif>
@if ($error)<p class="field-error" id="card-error" role="alert">{{ $error }}</p>@endif
</div>
<button class="button">{{ $say->say('gift.check_it') }}</button>
</form>
</div>
</x-shop.layout>
