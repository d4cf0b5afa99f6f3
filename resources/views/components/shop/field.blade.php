@props(['field', 'typed', 'errors', 'demand'])
@php
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\Demand;
$name = $field->value;
$error = $errors[$name] ?? null;
$autocomplete = match ($field) {
    CheckoutField::Email => 'email', CheckoutField::Name => 'name', CheckoutField::Company => 'organization', CheckoutField::Street => 'street-address',
    CheckoutField::Postcode => 'postal-code', CheckoutField::Town => 'address-level2', CheckoutField::Country => 'country', CheckoutField::Phone => 'tel', CheckoutField::Comment => 'off',
};
@endphp
<div class="field field-{{ $name }}">
<label for="{{ $name }}">{{ $say->say("field.{$name}") }}@if ($demand === Demand::Optional) <span class="field-optional">({{ $field === CheckoutField::Postcode ? $say->say('field.where_there_is_one') : $say->say('field.if_you_like') }})</span>@endif</label>
@if ($field === CheckoutField::Comment)
<textarea id="{{ $name }}" name="{{ $name }}" rows="3" autocomplete="{{ $autocomplete }}" dir="auto" @if ($error) aria-invalid="true" aria-describedby="{{ $name }}-error" @endif>{{ $typed[$name] ?? '' }}</textarea>
@elseif ($field === CheckoutField::Country)
{{ $slot }}
@else
<input id="{{ $name }}" name="{{ $name }}" type="{{ match ($field) { CheckoutField::Email => 'email', CheckoutField::Phone => 'tel', default => 'text' } }}" value="{{ $typed[$name] ?? '' }}" autocomplete="{{ $autocomplete }}" dir="auto" @if ($error) aria-invalid="true" aria-describedby="{{ $name }}-error" @endif>
@endif
@if ($error)
<p class="field-error" id="{{ $name }}-error">{{ $error }}</p>
@endif
</div>
