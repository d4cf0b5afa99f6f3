<?php

declare(strict_types=1);

namespace App\Results;

use PaperKite\Link\Device;
use PaperKite\Link\PlacementCode;
use PaperKite\Results\EventKind;

/** Something that was done in widgets of a page, or a click that only led on: no address, no fingerprint. */
final readonly class SpooledAct
{
    /** In seconds. */
    public const QUARTER = 900;

    /**
     * @param  list<string>  $codes  of placements
     * @param  string|null  $country  ISO 3166-1 alpha-2
     * @param  int  $at  seconds since 1970, of which the quarter of an hour is kept: whole hours of every zone begin with one
     */
    public function __construct(
        public EventKind $kind,
        public array $codes,
        public ?string $country,
        public Device $device,
        public int $at,
        /** The code of the display in which it was clicked; blank: it stands by itself. */
        public string $in = '',
        /** Of a click that led on to a marketplace at once. */
        public ?SpooledLead $lead = null,
    ) {}

    /** @return string of acts that are alike the same one, so that they can be counted before they are read */
    public function line(): string
    {
        return json_encode([
            'kind' => $this->kind->value, 'codes' => $this->codes, 'country' => $this->country, 'device' => $this->device->number(), 'at' => self::quarterOf($this->at),
            ...($this->in === '' ? [] : ['in' => $this->in]),
            ...($this->lead === null ? [] : ['lead' => [$this->lead->productId, $this->lead->marketplaceId]]),
        ], JSON_THROW_ON_ERROR);
    }

    /**
     * @param  int  $at  seconds since 1970
     * @return int seconds at which its quarter of an hour began
     */
    public static function quarterOf(int $at): int
    {
        return $at - $at % self::QUARTER;
    }

    /** @return self|null `null` where the line is torn, or none of ours */
    public static function read(string $line): ?self
    {
        $said = json_decode($line, true);
        if (! is_array($said) || ! is_int($said['kind'] ?? null) || ! is_array($said['codes'] ?? null) || ! is_int($said['device'] ?? null) || ! is_int($said['at'] ?? null)) {
            return null;
        }
        [$kind, $device] = [EventKind::tryFrom($said['kind']), Device::numbered($said['device'])];
        $codes = array_map(static fn (mixed $code): ?string => is_string($code) ? PlacementCode::read($code)?->text : null, $said['codes']);

        return $kind === null || $device === null ? null : new self($kind, array_values(array_filter($codes)), is_string($said['country'] ?? null) ? $said['country'] : null, $device, $said['at'], is_string($said['in'] ?? null) ? $said['in'] : '', self::leadOf($said['lead'] ?? null));
    }

    private static function leadOf(mixed $said): ?SpooledLead
    {
        return is_array($said) && is_int($said[0] ?? null) && is_int($said[1] ?? null) ? new SpooledLead($said[0], $said[1]) : null;
    }
}
