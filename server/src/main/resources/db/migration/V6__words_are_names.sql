drop table word;
