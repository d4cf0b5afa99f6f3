<?php

declare(strict_types=1);

namespace Standins\pay;

/** How somebody pays: by what, and from an account at the provider or without one. */
final readonly class Chosen
{
    public const METHODS = ['card' => 'Card ending in 0017', 'wallet' => 'Wallet on this device'];

    private function __construct(
        public string $method,
        /** The mail address of the account; blank: without one. */
        public string $account,
    ) {}

    /**
     * @param  array<string, string>  $form
     * @return self|null `null` where an account is meant and not named
     */
    public static function of(array $form): ?self
    {
        $account = trim($form['email'] ?? '');
        $usesAccount = ($form['as'] ?? '') === 'account';

        return $usesAccount && filter_var($account, FILTER_VALIDATE_EMAIL) === false
            ? null
            : new self(isset(self::METHODS[$form['method'] ?? '']) ? $form['method'] : 'card', $usesAccount ? strtolower($account) : '');
    }

    public static function kept(string $method, string $account): self
    {
        return new self($method, $account);
    }

    public function said(): string
    {
        return self::METHODS[$this->method].', '.($this->account === '' ? 'without an account' : "from the account {$this->account}");
    }
}
