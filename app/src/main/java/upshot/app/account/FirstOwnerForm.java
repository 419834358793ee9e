package upshot.app.account;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** What the first page asks for; the password is never put back into the page. */
record FirstOwnerForm(
        @NotBlank(message = "Type the code from the console.")
        String code,

        @ShownName @Size(max = 80, message = "80 characters at most.")
        String displayName,

        @NotBlank(message = "Type an address to sign in with.")
        @Email(message = "This is no e-mail address.")
        @Size(max = 200, message = "200 characters at most.")
        String email,

        @GoodPassword String password) {

    static FirstOwnerForm empty() {
        return new FirstOwnerForm("", "", "", "");
    }
}
