<?php

declare(strict_types=1);

namespace Standins\pay;

use Standins\Answer;
use Standins\Request;

/** Where whoever tries the shop out says how the provider is to answer. */
final readonly class MoodPage
{
    public const PATH = '/mood';

    public function __construct(private Ledger $ledger) {}

    public function answer(Request $request): Answer
    {
        $wanted = $request->method === 'POST' ? Mood::tryFrom($request->form['mood'] ?? '') : null;
        if ($wanted !== null) {
            $this->ledger->setMood($wanted);

            return Answer::goOnTo(self::PATH);
        }
        $now = $this->ledger->mood();
        $choices = implode('', array_map(static fn (Mood $case): string => sprintf(
            '<label><input type="radio" name="mood" value="%s"%s> %s</label>', $case->value, $case === $now ? ' checked' : '', $case->label(),
        ), Mood::cases()));

        return Page::html('How it answers', "<p>Shops ask the provider to open, capture, void and refund payments. Here you say how it answers them, to see what the shopper and the seller then read.</p><form method=\"post\"><fieldset><legend>It answers</legend>{$choices}</fieldset><div class=\"deeds\"><button class=\"main\">Answer like this</button></div></form>");
    }
}
