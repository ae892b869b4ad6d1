package humblequill.server.quota;

import org.springframework.data.jpa.repository.JpaRepository;

interface PromptWordsRepository extends JpaRepository<PromptWordsEntity, Integer> {}
