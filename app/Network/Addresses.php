<?php

declare(strict_types=1);

namespace App\Network;

/** How this machine is called inside its network. */
final readonly class Addresses
{
    /**
     * @param  list<string>  $found  on its interfaces that are up
     * @param  string  $host  its own name
     */
    public function __construct(private array $found, private string $host)
    {
    }

    public static function ofThisMachine(): self
    {
        $found = [];
        foreach (net_get_interfaces() ?: [] as $interface) {
            foreach (($interface['up'] ?? false) ? $interface['unicast'] ?? [] : [] as $one) {
                $found[] = (string) ($one['address'] ?? '');
            }
        }

        return new self($found, (string) gethostname());
    }

    /** @return list<string> private ones alone, never one that the whole world reaches, and the name that is found without a server */
    public function all(): array
    {
        $private = array_values(array_filter(array_unique($this->found), self::isPrivate(...)));
        $name = mb_strtolower(explode('.', $this->host)[0]);

        return preg_match('/^[a-z0-9]([a-z0-9-]*[a-z0-9])?$/', $name) === 1 ? [...$private, "{$name}.local"] : $private;
    }

    /** After RFC 1918: the kind that every network of a yard has. */
    private static function isPrivate(string $address): bool
    {
        return filter_var($address, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false
            && filter_var($address, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4 | FILTER_FLAG_NO_PRIV_RANGE) === false;
    }
}
