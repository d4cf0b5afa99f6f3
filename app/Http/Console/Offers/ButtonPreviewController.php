<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Input;
use App\Looks\LookBook;
use App\Looks\LookForm;
use App\Looks\ReadLook;
use App\Looks\ReadLooks;
use App\Models\Shop;
use App\Offers\DraftTable;
use App\Offers\TableSnippet;
use App\Time\Clock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use PaperKite\Look\Look;
use PaperKite\Look\Width;
use PaperKite\Medium\LookSheet;
use PaperKite\Medium\Media;
use PaperKite\Medium\TableEntry;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\StateWords;
use PaperKite\Text\FormInput;

/**
 * Buttons as they will stand on a page, on a ground of its own: shown in a frame that runs no script, so that the styles
 * they carry touch nothing of the console, and the console's touch nothing of them.
 */
final readonly class ButtonPreviewController
{
    private const GROUNDS = [
        'light' => 'background:#fff;color:#18222d',
        'dark' => 'background:#1b1f24;color:#e8edf1',
        'patterned' => 'background:repeating-linear-gradient(45deg,#d9e4dc 0 12px,#eef3ee 12px 24px);color:#18222d',
    ];

    /** A button in all its states. */
    public function button(Request $request, Shop $shop, ReadLook $read, ReadLooks $looks): Response
    {
        $ground = $this->ground($request);
        $look = $this->look($request, $shop, $looks($shop), $read);
        $width = Width::tryFrom(Input::text($request, 'width'));
        if ($width !== null) {
            $look = $look->withWidth($width, max(1, min(100, $request->integer('width_percent'))));
        }
        $sheet = new LookSheet($look, '.button');
        $states = [];
        $medium = Input::text($request, 'medium');
        // What was pasted stays as it was that day; a widget follows.
        $isCopy = in_array($medium, Media::keys(), true) && ! Media::get($medium)->isLive();
        foreach (ButtonState::cases() as $state) {
            $words = mb_substr(Input::text($request, "words.{$state->value}"), 0, StateWords::LONGEST);
            if ($words !== '') {
                $isLost = $isCopy && $state !== ButtonState::Idle;
                $states[] = ['label' => $state->label().($isLost ? ' · not in a copy' : ''), 'isLost' => $isLost, 'words' => $words, 'isOff' => in_array($state, [ButtonState::SoldOut, ButtonState::NotAvailable], true), 'isBusy' => $state === ButtonState::Working];
            }
        }

        return $this->frame(view('preview.button', [
            'css' => ($ground === 'dark' ? $sheet->onDark() : $sheet->onLight()).'body{'.self::GROUNDS[$ground].'}',
            'look' => $look,
            'base' => $shop->base(),
            'states' => $states,
        ])->render());
    }

    /** A price table as it stands in its form. */
    public function table(Request $request, Shop $shop, DraftTable $draft, ReadLooks $looks, Clock $clock): Response
    {
        $form = json_decode(Input::text($request, 'table'), true);
        $html = TableSnippet::of($draft($shop, TableEntry::read(FormInput::of($form))), $shop, $looks($shop), $clock->moment());

        return $this->frame(view('preview.table', ['html' => $html, 'css' => 'body{'.self::GROUNDS[$this->ground($request)].'}'])->render());
    }

    /** @return key-of<self::GROUNDS> */
    private function ground(Request $request): string
    {
        $request->validate(['ground' => ['required', Rule::in(array_keys(self::GROUNDS))]]);
        $ground = Input::text($request, 'ground');

        return array_key_exists($ground, self::GROUNDS) ? $ground : 'light';
    }

    /** As it stands in its form, where that is sent along and can be read; else as it is saved. */
    private function look(Request $request, Shop $shop, LookBook $looks, ReadLook $read): Look
    {
        $saved = $looks->chosen($request->integer('look_id'));
        $form = json_decode(Input::text($request, 'look'), true);

        return is_array($form) ? $read($shop, FormInput::ofForm((object) ($form + get_object_vars(LookForm::of($saved->name, $saved->values)))))->look ?? $saved->values : $saved->values;
    }

    private function frame(string $html): Response
    {
        return response($html, 200, ['Content-Security-Policy' => "sandbox allow-same-origin; default-src 'none'; style-src 'unsafe-inline'; img-src http: https: data:; base-uri 'none'; frame-ancestors 'self'"]);
    }
}
