<x-shop.layout :shop="$shop" title="Your orders">
<div class="shop-narrow">
<h1>Your orders</h1>
@if ($isSent)
<p class="notice" role="status">If this address has ordered here, a link is on its way to it. It works once, for 30 minutes.</p>
@endif
<p class="lead">No password: we mail you a link that signs you in.</p>
<form method="post" action="/account" class="product-form" novalidate>
<div class="field">
<label for="email">E-mail</label>
<input id="email" name="email" type="email" value="{{ $typed }}" autocomplete="email" @if ($error) aria-invalid="true" aria-describedby="email-error" @endif>
@if ($error)<p class="field-error" id="email-error">{{ $error }}</p>@endif
</div>
<button class="button">Mail me a link</button>
</form>
</div>
</x-shop.layout>
