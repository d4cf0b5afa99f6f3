@props(['name', 'label', 'typed', 'errors', 'type' => 'text', 'autocomplete', 'optional' => false])
@php $error = $errors[$name] ?? null; @endphp
<div class="field field-{{ $name }}">
<label for="{{ $name }}">{{ $label }}@if ($optional) <span class="field-optional">(where there is one)</span>@endif</label>
<input id="{{ $name }}" name="{{ $name }}" type="{{ $type }}" value="{{ $typed[$name] ?? '' }}" autocomplete="{{ $autocomplete }}" dir="auto" @if ($error) aria-invalid="true" aria-describedby="{{ $name }}-error" @endif>
@if ($error)
<p class="field-error" id="{{ $name }}-error">{{ $error }}</p>
@endif
</div>
