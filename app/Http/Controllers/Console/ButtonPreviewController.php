<?php

declare(strict_types=1);

namespace App\Http\Controllers\Console;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use PaperKite\Link\HtmlButton;

/**
 * The button as it will stand on a page, on a ground of its own: shown in a frame without rights, so that the styles
 * it carries touch nothing of the console, and the console's touch nothing of it.
 */
final readonly class ButtonPreviewController
{
    private const GROUNDS = [
        'light' => 'background:#fff',
        'dark' => 'background:#1b1f24',
        'patterned' => 'background:repeating-linear-gradient(45deg,#d9e4dc 0 12px,#eef3ee 12px 24px)',
    ];

    public function __invoke(Request $request): Response
    {
        $request->validate([
            'ground' => ['required', Rule::in(array_keys(self::GROUNDS))],
            'caption' => ['required', 'string', 'max:200'],
        ]);
        $ground = self::GROUNDS[$request->string('ground')->toString()] ?? '';
        $button = (new HtmlButton('#', $request->string('caption')->toString()))->html();

        return response(
            "<!doctype html><html lang=\"en\"><meta charset=\"utf-8\"><title>The button</title><body style=\"margin:0;padding:24px 12px;{$ground}\">{$button}",
            200,
            ['Content-Security-Policy' => "sandbox; default-src 'none'; style-src 'unsafe-inline'; base-uri 'none'; frame-ancestors 'self'"],
        );
    }
}
