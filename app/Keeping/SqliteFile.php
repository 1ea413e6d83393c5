<?php

declare(strict_types=1);

namespace App\Keeping;

use Generator;
use PDO;
use PDOException;
use PDOStatement;

/** A database file opened beside the framework, whose schema nobody trusts yet: no function or table of its own runs when it is read. */
final readonly class SqliteFile
{
    private function __construct(private PDO $pdo)
    {
    }

    /** @throws PDOException when it is none */
    public static function open(string $path): self
    {
        $pdo = new PDO("sqlite:{$path}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $pdo->exec('PRAGMA trusted_schema = OFF; PRAGMA cell_size_check = ON');

        return new self($pdo);
    }

    public static function of(PDO $pdo): self
    {
        return new self($pdo);
    }

    public function run(string $statement, string ...$values): void
    {
        $this->query($statement, $values);
    }

    /** @return string the first column of the first row; empty where there is none */
    public function value(string $query): string
    {
        return self::told($this->query($query)->fetchColumn());
    }

    /** @return list<string> the first column */
    public function column(string $query): array
    {
        return array_values(array_map(self::told(...), $this->query($query)->fetchAll(PDO::FETCH_COLUMN)));
    }

    /** @return Generator<int, array<string, string>> row by row, what is no text or number left empty */
    public function rows(string $query): Generator
    {
        foreach ($this->query($query, mode: PDO::FETCH_ASSOC) as $row) {
            $told = [];
            foreach (is_array($row) ? $row : [] as $name => $value) {
                $told[(string) $name] = self::told($value);
            }
            yield $told;
        }
    }

    /**
     * @param  array<array-key, string>  $values
     * @return PDOStatement<array<string, mixed>>
     */
    private function query(string $query, array $values = [], int $mode = PDO::FETCH_BOTH): PDOStatement
    {
        $statement = $this->pdo->prepare($query);
        $statement->setFetchMode($mode);
        $statement->execute(array_values($values));

        return $statement;
    }

    private static function told(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
