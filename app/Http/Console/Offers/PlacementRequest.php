<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Shared\CoreRule;
use App\Http\Input;
use App\Models\Shop;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use PaperKite\Look\LookEntry;
use PaperKite\Look\Width;
use PaperKite\Medium\Media;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\StateWords;
use PaperKite\Text\Line;

/** What a seller says of a place. */
#[OA\Schema(schema: 'PlacementEntry', required: ['page', 'medium', 'label', 'caption'], properties: [
    new OA\Property(property: 'page', description: 'What the seller calls the place.', type: 'string'),
    new OA\Property(property: 'medium', ref: '#/components/schemas/MediumKey'),
    new OA\Property(property: 'form', ref: '#/components/schemas/WidgetForm', description: 'How much a widget shows; where it is left out, as it is; at first its button.'),
    new OA\Property(property: 'label', description: 'By which its clicks are counted; blank: none.', type: 'string'),
    new OA\Property(property: 'caption', description: 'Blank: as the offer says.', type: 'string'),
    new OA\Property(property: 'brings_sheet', description: 'Whether a pasted button brings along how it looks when it is pointed at, pressed, focused and on dark pages; where it is left out, as it is.', type: 'boolean'),
    new OA\Property(property: 'look_id', description: 'Its own look; null: as the offer says; where it is left out, as it is.', type: 'integer', nullable: true),
    new OA\Property(property: 'width', ref: '#/components/schemas/PlaceWidth', description: 'Its own width; where it is left out, as it is.'),
    new OA\Property(property: 'width_percent', description: 'Of the page, where its own width is a part of it.', type: 'string'),
    new OA\Property(property: 'is_paused', type: 'boolean'),
])]
final class PlacementRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'page' => ['present', 'string', new CoreRule(fn (string $text) => $this->page($text))],
            'medium' => ['required', Rule::in(Media::keys())],
            'form' => [Rule::enum(WidgetForm::class)],
            'label' => ['present', 'string', new CoreRule(fn (string $text) => $this->label($text))],
            'caption' => ['present', 'string', new CoreRule(fn (string $text) => StateWords::read(ButtonState::Idle, $text))],
            'brings_sheet' => ['boolean'],
            'look_id' => ['nullable', 'integer'],
            'width' => ['nullable', 'string', Rule::in(['', ...array_column(Width::cases(), 'value')])],
            'width_percent' => ['nullable', 'string', new CoreRule(fn (string $text) => $this->input('width') === Width::Percent->value ? LookEntry::percent($text) : null)],
            'is_paused' => ['boolean'],
        ];
    }

    /** A part that is left out is one that is blank, and is told as such. */
    protected function prepareForValidation(): void
    {
        $this->mergeIfMissing(['width_percent' => '']);
    }

    /** @return array<string, mixed> as the table of placements keeps it */
    public function attributesOfPlacement(): array
    {
        return [
            'page' => $this->page(Input::text($this, 'page')),
            'medium' => Input::text($this, 'medium'),
            ...array_filter(['form' => WidgetForm::tryFrom(Input::text($this, 'form'))]),
            ...($this->has('brings_sheet') ? ['brings_sheet' => $this->boolean('brings_sheet')] : []),
            ...($this->has('look_id') ? ['look_id' => $this->look()] : []),
            ...($this->has('width') ? $this->width() : []),
            'label' => $this->label(Input::text($this, 'label')),
            'caption' => StateWords::read(ButtonState::Idle, Input::text($this, 'caption')),
        ];
    }

    /** Of this shop; what is not is not there. */
    private function look(): ?int
    {
        $shop = $this->route('shop');

        return $shop instanceof Shop ? $shop->looks()->whereKey($this->integer('look_id'))->first()?->id : null;
    }

    /** @return array{width: Width|null, width_percent: int|null} */
    private function width(): array
    {
        $width = Width::tryFrom(Input::text($this, 'width'));

        return ['width' => $width, 'width_percent' => $width === Width::Percent ? LookEntry::percent(Input::text($this, 'width_percent')) : null];
    }

    private function page(string $text): string
    {
        return Line::of($text, 'The name of the page', 120)->text;
    }

    private function label(string $text): ?string
    {
        return trim($text, ' ') === '' ? null : Line::of($text, 'The label', 40)->text;
    }
}
