<x-shop.layout :shop="$shop" :title="$say->say('account.title')">
<div class="shop-narrow">
<h1>{{ $say->say('account.title') }}</h1>
@if ($isSent)
<p class="notice" role="status">{{ $say->say('account.link_sent') }}</p>
@endif
<p class="lead">{{ $say->say('account.no_password') }}</p>
<form method="post" action="/account" class="product-form" novalidate>
<div class="field">
<label for="email">{{ $say->say('field.email') }}</label>
<input id="email" name="email" type="email" value="{{ $typed }}" autocomplete="email" @if ($error) aria-invalid="true" aria-describedby="email-error" @endif>
@if ($error)<p class="field-error" id="email-error">{{ $error }}</p>@endif
</div>
<button class="button">{{ $say->say('account.mail_link') }}</button>
</form>
</div>
</x-shop.layout>
