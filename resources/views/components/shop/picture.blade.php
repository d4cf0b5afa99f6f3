@props(['picture', 'sizes', 'side', 'alt' => null, 'isFirst' => false, 'swaps' => false])
{{-- The room that it takes is known before it is there: nothing moves when it comes. --}}
<picture {{ $attributes }}>
@if ($picture->widths !== '')<source type="image/webp" srcset="{{ $picture->widths }}" sizes="{{ $sizes }}">@endif
<img src="{{ $picture->plain }}" alt="{{ $alt ?? $picture->alt }}" width="{{ $picture->width ?? $side }}" height="{{ $picture->height ?? $side }}" @if ($isFirst) fetchpriority="high" @else loading="lazy" @endif decoding="async" @if ($swaps) data-lead @endif>
</picture>
