@props(['product', 'shop', 'isAsked' => false, 'error' => null, 'typed' => ''])
@if ($isAsked)
<p class="notice" role="status">{{ $say->say('back.asked') }}</p>
@else
<form method="post" action="/p/{{ rawurlencode($product->sku) }}/back" class="back-form" novalidate>
<div class="field">
<label for="back-email">{{ $say->say('back.email') }}</label>
<input id="back-email" name="email" type="email" value="{{ $typed }}" autocomplete="email" aria-describedby="back-consent @if ($error) back-error @endif" @if ($error) aria-invalid="true" @endif>
@if ($error)<p class="field-error" id="back-error" role="alert">{{ $error }}</p>@endif
</div>
<button class="button second">{{ $say->say('back.ask') }}</button>
<p class="bill-why" id="back-consent">{!! $say->html('back.consent', shop: '<bdi>'.e($shop->name).'</bdi>') !!}</p>
</form>
@endif
