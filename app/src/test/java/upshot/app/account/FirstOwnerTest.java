package upshot.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.model;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.view;

import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;

class FirstOwnerTest {

    private final Accounts accounts = mock(Accounts.class);
    private final FirstCode code = new FirstCode(accounts);
    private MockMvc mvc;

    @BeforeEach
    void nobodyYet() {
        when(accounts.any()).thenReturn(false);
        mvc = MockMvcBuilders.standaloneSetup(new SignInController(accounts, code, Optional.empty()))
                .build();
    }

    private ResultActions make(String given, String email, String password) throws Exception {
        return mvc.perform(post("/first")
                .param("code", given)
                .param("displayName", "Owner")
                .param("email", email)
                .param("password", password));
    }

    @Test
    void the_first_visit_is_sent_to_the_owner_s_page() throws Exception {
        mvc.perform(get("/first")).andExpect(view().name("account/first"));
    }

    @Test
    void the_printed_code_makes_the_owner() throws Exception {
        make(" " + code.code().toLowerCase() + " ", "owner@test.example", "ten letters")
                .andExpect(redirectedUrl("/sign-in?made"));

        verify(accounts).createOwner("owner@test.example", "Owner", "ten letters");
    }

    @ParameterizedTest
    @CsvSource({
        "WRONG,owner@test.example,ten letters,code",
        ",owner@test.example,ten letters,code",
        "right,no address,ten letters,email",
        "right,owner@test.example,nine lett,password",
        "right,owner@test.example,'          ',password"
    })
    void anything_wrong_is_named_beside_its_field_and_makes_nobody(
            String given, String email, String password, String field) throws Exception {
        make("right".equals(given) ? code.code() : given == null ? "" : given, email, password)
                .andExpect(view().name("account/first"))
                .andExpect(model().attributeHasFieldErrors("form", field));

        verify(accounts, never()).createOwner(any(), any(), any());
    }

    @Test
    void after_twenty_wrong_codes_the_right_one_is_of_no_use() {
        for (int i = 0; i < 20; i++) {
            assertThat(code.matches("WRONG")).isFalse();
        }
        assertThat(code.matches(code.code())).isFalse();
    }
}
