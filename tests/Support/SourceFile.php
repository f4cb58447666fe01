<?php

declare(strict_types=1);

namespace Tests\Support;

use FilesystemIterator;
use PhpToken;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** One file of PHP, asked what it names and what it calls. */
final class SourceFile
{
    /** @var list<PhpToken> */
    private readonly array $tokens;

    public function __construct(public readonly string $path, public readonly string $code)
    {
        $this->tokens = array_values(
            array_filter(PhpToken::tokenize($code), fn (PhpToken $token): bool => ! $token->isIgnorable() || $token->is(T_INLINE_HTML))
        );
    }

    /** @return list<self> */
    public static function under(string $folder): array
    {
        $root = dirname(__DIR__, 2);
        $files = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === 'php') {
                $files[] = new self(substr($file->getPathname(), strlen($root) + 1), (string) file_get_contents($file->getPathname()));
            }
        }

        return $files;
    }

    public function isStrict(): bool
    {
        return preg_match('/^<\?php\s+declare\(strict_types=1\);/', $this->code) === 1;
    }

    public function className(string $folder, string $namespace): string
    {
        return $namespace.'\\'.str_replace('/', '\\', substr($this->path, strlen($folder) + 1, -4));
    }

    /** @return list<string> every class and namespace that stands in it by its full name */
    public function names(): array
    {
        $names = [];
        // A plain name after "use" is imported above the class; within it, it is a trait of its own folder.
        $isAbove = true;
        foreach ($this->tokens as $i => $token) {
            $isAbove = $isAbove && ! $token->is([T_CLASS, T_TRAIT, T_ENUM, T_INTERFACE]);
            $isImport = $isAbove && $token->is(T_STRING) && $this->before($i)?->is(T_USE);
            if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) || $isImport) {
                $names[] = ltrim($token->text, '\\');
            }
        }

        return array_values(array_unique(array_diff($names, ['Underpin'])));
    }

    /** @return list<string> the folders of the core that it names, in code and in comments */
    public function folders(): array
    {
        preg_match_all('/\\\\?\bUnderpin\\\\(\w+)\\\\/', $this->code, $found);

        return array_values(array_unique($found[1]));
    }

    /** @return list<string> every function, not method, that it calls */
    public function calls(): array
    {
        $calls = [];
        foreach ($this->tokens as $i => $token) {
            $method = $this->before($i)?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_NEW]);
            if ($token->is(T_STRING) && ! $method && ($this->tokens[$i + 1]->text ?? '') === '(') {
                $calls[] = strtolower($token->text);
            }
        }

        return array_values(array_unique($calls));
    }

    /**
     * @param  list<int>  $kinds
     * @return list<string>
     */
    public function words(array $kinds): array
    {
        return array_values(
            array_unique(
                array_map(
                    fn (PhpToken $token): string => $token->text,
                    array_filter($this->tokens, fn (PhpToken $token): bool => $token->is($kinds)),
                )
            )
        );
    }

    private function before(int $i): ?PhpToken
    {
        return $this->tokens[$i - 1] ?? null;
    }
}
